public record Vessel(String name, double length, boolean guest) {
}
