class Chart {
    private int scale;
    private String area;

    void setScale(int scale) {
        this.scale = scale;
    }

    void setArea(String area) {
        this.area = area;
    }

    String show() {
        return area + " 1:" + scale;
    }
}

class ChartRoom {
    Chart draw(String area) {
        Chart c = new Chart();
        c.setArea(area);
        c.setScale(25000);
        return c;
    }
}
