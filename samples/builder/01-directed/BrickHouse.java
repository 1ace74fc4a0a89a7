package build;

public class BrickHouse implements HouseBuilder {
    private House house;

    @Override
    public void begin() {
        house = new House();
    }

    @Override
    public void walls() {
        house.setWalls("bricks");
    }

    @Override
    public void roof() {
        house.setRoof("tiles");
    }

    @Override
    public House finish() {
        return house;
    }
}
