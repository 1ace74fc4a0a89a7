public record Horn(int seconds) implements Signal {}
