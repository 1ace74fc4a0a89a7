abstract class Job {
    final int run() {
        int before = prepare();
        int r = work(before);
        done(r);
        return r;
    }

    int prepare() {
        return 0;
    }

    abstract int work(int x);

    void done(int r) {}
}

class Jobs {
    static Job doubler() {
        return new Job() {
            int work(int x) {
                return 2 * x + 1;
            }
        };
    }

    static Job loud() {
        return new Job() {
            @Override
            int prepare() {
                return 5;
            }

            int work(int x) {
                return x;
            }

            @Override
            void done(int r) {
                System.out.println(r);
            }
        };
    }

    public static void main(String[] a) {
        doubler().run();
        loud().run();
    }
}
