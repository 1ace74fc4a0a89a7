package crane;

public class Crane {
    private int height;
    private boolean gripping;

    public void up(int m) {
        height += m;
    }

    public void down(int m) {
        height -= m;
    }

    public void grip() {
        gripping = true;
    }

    public void release() {
        gripping = false;
    }
}
