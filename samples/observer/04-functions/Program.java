package harbour;

class Program {
    public static void main(String[] args) {
        Lock lock = new Lock();
        int[] last = {0};
        lock.onMove(p -> System.out.println("now " + p));
        lock.onMove(p -> last[0] = p);
        lock.open(30);
        lock.close();
    }
}
