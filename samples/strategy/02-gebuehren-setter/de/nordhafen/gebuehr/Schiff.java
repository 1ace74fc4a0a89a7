package de.nordhafen.gebuehr;

public record Schiff(String name, double laenge, int tonnage) {
}
