enum Kind {
    YACHT,
    CARGO,
    FERRY
}
