class FeeDesk extends Desk {
    @Override
    protected boolean isMine(String about) {
        return about.contains("fee");
    }

    @Override
    protected String answer(String about) {
        return "pay first";
    }
}
