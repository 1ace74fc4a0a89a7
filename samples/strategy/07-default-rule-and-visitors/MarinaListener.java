interface MarinaListener {
    void arrived(Visit v);
}
