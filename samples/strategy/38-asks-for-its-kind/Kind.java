enum Kind {
    LONG,
    SHORT
}
