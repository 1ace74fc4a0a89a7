package horn;

public interface Signal {
    void sound(int seconds);

    int volume();
}
