public record Flag(char letter) implements Signal {}
