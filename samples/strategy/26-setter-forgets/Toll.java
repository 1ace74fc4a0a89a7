public interface Toll {
    int take(int metres);
}
