import java.util.*;
interface Job { void doIt(); }
class Winch { int turns; void turn(int n) { turns += n; } }
class Pull implements Job { private final Winch w; Pull(Winch w) { this.w = w; } public void doIt() { w.turn(3); } }
class Slack implements Job { private final Winch w; Slack(Winch w) { this.w = w; } public void doIt() { w.turn(-2); } }
class Foreman {
    private final List<Job> jobs = new ArrayList<>();
    void take(Job j) { jobs.add(j); }
    int work() {
        int n = jobs.size();
        jobs.clear();
        return n;
    }
    public static void main(String[] args) {
        Winch w = new Winch(); Foreman f = new Foreman();
        f.take(new Pull(w)); f.take(new Slack(w));
        System.out.println(f.work() + " " + w.turns);
    }
}
