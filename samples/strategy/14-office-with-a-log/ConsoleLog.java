class ConsoleLog implements Log {
    public void say(String s) {
        System.out.println(s);
    }
}
