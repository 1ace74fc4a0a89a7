class NoiseDesk extends Desk {
    @Override
    protected boolean isMine(String about) {
        return about.contains("noise");
    }

    @Override
    protected String answer(String about) {
        return "close the window";
    }
}
