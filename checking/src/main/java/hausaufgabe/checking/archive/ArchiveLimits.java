package hausaufgabe.checking.archive;

/**
 * What an upload may hold.
 *
 * @param files most files in it
 * @param bytes most bytes when unpacked
 * @param bytesPerSource most bytes in one source
 */
public record ArchiveLimits(int files, long bytes, int bytesPerSource) {

    public static final ArchiveLimits USUAL = new ArchiveLimits(2_000, 50L << 20, 4 << 20);
}
