import java.util.List;

public interface Wegwahl {
    int meilen(List<Integer> abschnitte);
}
