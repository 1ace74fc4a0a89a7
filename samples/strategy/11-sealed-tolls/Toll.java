public sealed interface Toll permits Flat, Metre {
    double take(double m);
}
