/** Submissions as they arrive: folders, zips and loose files, turned into sources. */
package hausaufgabe.checking.archive;
