import java.util.*;
class Plan {
    private final List<String> steps = new ArrayList<>(); private String title = "";
    void step(String s) { steps.add(s); }
    void title(String t) { title = t; }
    int length() { return steps.size(); }
    String title() { return title; }
}
class PlanBuilder {
    private static final Plan PLAN = new Plan();
    PlanBuilder title(String t) { PLAN.title(t); return this; }
    PlanBuilder step(String s) { PLAN.step(s); return this; }
    Plan build() { return PLAN; }
    public static void main(String[] a) {
        Plan p = new PlanBuilder().title("dock").step("slow").step("stop").build();
        Plan q = new PlanBuilder().title("leave").step("cast off").build();
        System.out.println(p.length() + q.title());
    }
}
