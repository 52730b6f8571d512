package looseknit.server.care;

import java.time.LocalDate;

/** A place with how many days are logged, and the last of them. */
record LoggedPlaceRow(String placeName, long days, LocalDate last) {}
