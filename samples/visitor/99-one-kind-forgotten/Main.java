interface MailVisitor { void letter(Letter l); void parcel(Parcel p); void card(Card c); }
interface Mail { void accept(MailVisitor v); }
class Letter implements Mail { int grams = 20; public void accept(MailVisitor v) { v.letter(this); } }
class Parcel implements Mail { int kilos = 3; public void accept(MailVisitor v) { v.parcel(this); } }
class Card implements Mail { String text = "moin"; public void accept(MailVisitor v) { } }
class Postage implements MailVisitor {
    int cents;
    public void letter(Letter l) { cents += 85; }
    public void parcel(Parcel p) { cents += 500 + p.kilos * 50; }
    public void card(Card c) { cents += 70; }
}
class Weight implements MailVisitor {
    int grams;
    public void letter(Letter l) { grams += l.grams; }
    public void parcel(Parcel p) { grams += p.kilos * 1000; }
    public void card(Card c) { grams += 5; }
}
class PostBoat {
    public static void main(String[] args) {
        Postage p = new Postage();
        for (Mail m : new Mail[] {new Letter(), new Parcel(), new Card()}) m.accept(p);
        System.out.println(p.cents);
    }
}
