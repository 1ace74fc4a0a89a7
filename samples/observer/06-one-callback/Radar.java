/** Only the bridge listens to the radar, so one listener is enough. */
public class Radar {

    public interface EchoListener {
        void echo(int distance, int bearing);
    }

    private EchoListener listener;
    private int sweeps;

    public void setListener(EchoListener listener) {
        this.listener = listener;
    }

    public void clearListener() {
        this.listener = null;
    }

    public void sweep(int distance, int bearing) {
        sweeps++;
        if (listener != null) {
            listener.echo(distance, bearing);
        }
    }

    public static void main(String[] args) {
        Radar radar = new Radar();
        radar.setListener(new Bridge());
        radar.sweep(400, 90);
        radar.clearListener();
        radar.sweep(300, 92);
    }
}

class Bridge implements Radar.EchoListener {
    private int nearest = Integer.MAX_VALUE;

    @Override
    public void echo(int distance, int bearing) {
        nearest = Math.min(nearest, distance);
    }
}
