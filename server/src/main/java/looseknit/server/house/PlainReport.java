package looseknit.server.house;

import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;

/** Says why the server does not start in two lines; whoever started it shows them. */
public final class PlainReport implements FailureAnalysisReporter {

    /** With this the first line begins. */
    static final String CANNOT_START = "cannot start: ";

    @Override
    @SuppressWarnings("SystemOut")
    public void report(final FailureAnalysis analysis) {
        System.err.println(CANNOT_START + oneLine(analysis.getDescription()));
        if (analysis.getAction() != null) {
            System.err.println("way out: " + oneLine(analysis.getAction()));
        }
    }

    private static String oneLine(final String text) {
        return text.strip().replaceAll("\\s*\\R\\s*", " ");
    }
}
