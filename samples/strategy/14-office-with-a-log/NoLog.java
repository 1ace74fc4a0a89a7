class NoLog implements Log {
    public void say(String s) {}
}
