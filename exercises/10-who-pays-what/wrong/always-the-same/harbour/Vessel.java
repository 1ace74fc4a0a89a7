package harbour;

/** A ship, as the desk sees it. */
public interface Vessel {

    double fee(double metres);

    String label();
}
