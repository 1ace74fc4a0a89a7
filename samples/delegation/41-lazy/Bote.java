interface Post {
    void schicke(String s);

    int zahl();
}

class Posthaus implements Post {
    int n;

    public void schicke(String s) {
        n += s.length();
    }

    public int zahl() {
        return n;
    }
}

class Poststelle implements Post {
    private Post post;

    private Post post() {
        if (post == null) post = new Posthaus();
        return post;
    }

    public void schicke(String s) {
        post().schicke(s);
    }

    public int zahl() {
        return post().zahl();
    }
}
