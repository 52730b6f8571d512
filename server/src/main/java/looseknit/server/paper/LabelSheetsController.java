package looseknit.server.paper;

import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The sheets of labels that can be printed, over HTTP. */
@RestController
@RequestMapping("/api/label-sheets")
class LabelSheetsController {

    /**
     * A sheet of labels.
     *
     * @param widthMm of a label [mm]
     * @param heightMm of a label [mm]
     * @param labels how many are on a sheet
     * @param cut whether they are cut out; else they peel off
     */
    record LabelSheetBody(LabelSheet id, double widthMm, double heightMm, int labels, boolean cut) {}

    /** Those that there are for a size of paper. */
    @GetMapping
    List<LabelSheetBody> all(@RequestParam(defaultValue = "A4") final String size) {
        final Paper.Size paper = Paper.Size.named(size);
        return Arrays.stream(LabelSheet.values())
                .filter(each -> each.paper(paper) == paper)
                .map(each -> new LabelSheetBody(each, each.width(), each.height(), each.labels(), each.cut()))
                .toList();
    }
}
