abstract class Cipher {
    String encode(String s) {
        StringBuilder b = new StringBuilder();
        for (char c : s.toCharArray()) b.append(shift(c));
        return b.toString();
    }

    abstract char shift(char c);
}

class Rot extends Cipher {
    char shift(char c) {
        return (char) (c + 1);
    }
}

class Upper extends Cipher {
    char shift(char c) {
        return Character.toUpperCase(c);
    }
}
