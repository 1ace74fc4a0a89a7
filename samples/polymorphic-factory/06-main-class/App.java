public class App {
    static Alarm alarmFor(int level) {
        if (level > 8) {
            return new Storm();
        } else if (level > 5) {
            return new Gale();
        }
        return new Calm();
    }

    public static void main(String[] args) {
        for (int level : new int[] {1, 6, 9}) {
            System.out.println(alarmFor(level).text(level));
        }
    }
}

interface Alarm {
    String text(int level);
}

class Storm implements Alarm {
    public String text(int level) {
        return "STORM " + level;
    }
}

class Gale implements Alarm {
    public String text(int level) {
        return "gale " + level;
    }
}

class Calm implements Alarm {
    public String text(int level) {
        return "calm";
    }
}
