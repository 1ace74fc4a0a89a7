import java.util.Optional;

class Desk {
    private Optional<Fee> fee = Optional.empty();

    void use(Fee f) {
        fee = Optional.ofNullable(f);
    }

    double price(double m) {
        return fee.map(f -> f.of(m)).orElse(0.0);
    }
}
