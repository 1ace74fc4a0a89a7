public class HarbourMaster {
    private IFee fee;
    private double rate = 1.9;

    public HarbourMaster(IFee fee) {
        this.fee = fee;
    }

    public void setFee(IFee fee) {
        this.fee = fee;
    }

    public IFee getFee() {
        return fee;
    }

    public double computeFee(double length, int days) {
        double result = length * rate;
        return result * days;
    }
}
