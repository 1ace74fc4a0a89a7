import java.util.*;

public class Main {
    interface Route {
        int minutes(int miles);
    }

    static class Direct implements Route {
        public int minutes(int miles) {
            return miles * 5;
        }
    }

    static class Coastal implements Route {
        public int minutes(int miles) {
            return miles * 8 + 10;
        }
    }

    static class Navigator {
        private Route route;

        void setRoute(Route route) {
            this.route = route;
        }

        int plan(int miles) {
            if (route == null) {
                throw new IllegalStateException("no route");
            }
            return route.minutes(miles);
        }
    }

    static void show(Navigator n, int m) {
        System.out.println(n.plan(m));
    }

    static Route choose(String s) {
        switch (s) {
            case "d":
                return new Direct();
            case "c":
                return new Coastal();
            default:
                return null;
        }
    }

    public static void main(String[] args) {
        Scanner in = new Scanner(System.in);
        Navigator n = new Navigator();
        String s = in.hasNext() ? in.next() : "d";
        n.setRoute(choose(s));
        show(n, 10);
    }
}
