/** What a student gets of marked work, on paper: as a page and as a PDF, for one and for all. */
package hausaufgabe.server.handout;
