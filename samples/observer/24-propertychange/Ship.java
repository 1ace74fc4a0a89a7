import java.beans.PropertyChangeEvent;
import java.beans.PropertyChangeListener;
import java.beans.PropertyChangeSupport;

public class Ship {
    private final PropertyChangeSupport changes = new PropertyChangeSupport(this);
    private int speed;

    public void addListener(PropertyChangeListener l) {
        changes.addPropertyChangeListener(l);
    }

    public void removeListener(PropertyChangeListener l) {
        changes.removePropertyChangeListener(l);
    }

    public void setSpeed(int speed) {
        int old = this.speed;
        this.speed = speed;
        changes.firePropertyChange("speed", old, speed);
    }
}

class Telegraph implements PropertyChangeListener {
    public void propertyChange(PropertyChangeEvent e) {
        System.out.println(e.getNewValue());
    }
}

class Recorder implements PropertyChangeListener {
    int n;

    public void propertyChange(PropertyChangeEvent e) {
        n++;
    }
}
