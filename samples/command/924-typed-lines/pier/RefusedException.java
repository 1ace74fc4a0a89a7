package pier;

public class RefusedException extends RuntimeException {
    public RefusedException(String why) {
        super(why);
    }
}
