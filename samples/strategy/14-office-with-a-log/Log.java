interface Log {
    void say(String s);
}
