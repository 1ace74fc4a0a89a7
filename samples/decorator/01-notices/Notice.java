interface Notice {
    String text();
}
