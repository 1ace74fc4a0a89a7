class Vault {
    private static final Vault VAULT = new Vault("4711");
    private final String code;

    Vault(String code) {
        this.code = code;
    }

    static Vault getVault() {
        return VAULT;
    }

    boolean opens(String c) {
        return code.equals(c);
    }
}
