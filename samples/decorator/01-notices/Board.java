class Board {
    public static void main(String[] args) {
        System.out.println(new Framed(new Dated(new PlainNotice("no mooring"), 3)).text());
    }
}
