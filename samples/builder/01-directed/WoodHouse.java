package build;

public class WoodHouse implements HouseBuilder {
    private House house;

    @Override
    public void begin() {
        house = new House();
    }

    @Override
    public void walls() {
        house.setWalls("planks");
    }

    @Override
    public void roof() {
        house.setRoof("reed");
    }

    @Override
    public House finish() {
        return house;
    }
}
