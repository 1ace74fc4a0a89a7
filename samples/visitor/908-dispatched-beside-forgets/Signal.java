/** What a ship can show or sound. */
public sealed interface Signal permits Flag, Horn, Lamp {}
