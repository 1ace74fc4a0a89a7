interface TideSource {
    double heightAt(int hour);
}
