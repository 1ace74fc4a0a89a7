interface Fish { int price(int kilos); }
class Herring implements Fish { public int price(int k) { return 4 * k; } }
class Plaice implements Fish { public int price(int k) { return 11 * k; } }
class Cod implements Fish { public int price(int k) { return 9 * k + 1; } }
class FishMarket {
    static Fish of(String name) {
        switch (name) {
            case "herring": return new Herring();
            case "cod": return new Herring();
            case "plaice": return new Plaice();
            default: throw new IllegalArgumentException(name);
        }
    }
    public static void main(String[] args) {
        System.out.println(of("herring").price(2) + of("plaice").price(1));
    }
}
