package hafen;

class Lotse {
    void bringe(String schiff, int platz) {
        Leitstand.gib().melde(schiff, platz);
    }
}
