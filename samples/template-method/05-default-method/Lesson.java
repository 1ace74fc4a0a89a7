interface Lesson {
    default void hold() {
        greet();
        teach();
        homework();
    }

    default void greet() {
        System.out.println("Moin");
    }

    void teach();

    void homework();
}

class KnotLesson implements Lesson {
    public void teach() {
        System.out.println("bowline");
    }

    public void homework() {
        System.out.println("tie ten");
    }
}

class ChartLesson implements Lesson {
    public void teach() {
        System.out.println("course and bearing");
    }

    public void homework() {
        System.out.println("plot a route");
    }

    @Override
    public void greet() {
        System.out.println("Silence, please");
    }
}
