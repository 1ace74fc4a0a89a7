interface Lock {
    boolean opens(String code);
}

class CodeLock implements Lock {
    public boolean opens(String code) {
        return code.length() == 4;
    }
}

class KeyLock implements Lock {
    public boolean opens(String code) {
        return code.startsWith("K");
    }
}

class LockFactory {
    Lock lock(String type) {
        if ("code".equals(type)) {
            return new CodeLock();
        } else if ("key".equals(type)) {
            return new KeyLock();
        } else {
            return null;
        }
    }
}

class Door {
    private final LockFactory factory = new LockFactory();

    boolean enter(String type, String code) {
        return factory.lock(type).opens(code);
    }
}
