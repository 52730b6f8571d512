package looseknit.bench;

import java.awt.Color;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialBook;
import looseknit.core.pot.Column;
import org.knowm.xchart.BitmapEncoder;
import org.knowm.xchart.XYChart;
import org.knowm.xchart.XYChartBuilder;
import org.knowm.xchart.style.Styler;
import org.knowm.xchart.style.markers.SeriesMarkers;

/** Draws the plots of the model's documentation from the core: {@code ./loose-knit plots}. */
public final class Plots {

    private static final int WIDTH = 760;
    private static final int HEIGHT = 420;
    private static final List<Color> INKS = List.of(
            new Color(0x0f, 0x5c, 0x4a),
            new Color(0xd9, 0x9a, 0x00),
            new Color(0xa6, 0x3d, 0x2f),
            new Color(0x2c, 0x6d, 0xa8));

    private Plots() {}

    /** Writes the plots into a folder. */
    public static void main(final String[] arguments) throws IOException {
        System.setProperty("java.awt.headless", "true");
        final Path folder = Files.createDirectories(Path.of(arguments[0]));
        airByHeight(folder);
        acidityOverWeeks(folder);
    }

    private static void airByHeight(final Path folder) throws IOException {
        final XYChart chart = chart("height of the mix, cm", "air after draining, % of volume");
        chart.getStyler().setYAxisMin(0.0);
        chart.getStyler().setYAxisMax(80.0);
        chart.getStyler().setLegendPosition(Styler.LegendPosition.InsideNW);
        curve(
                chart,
                "peat 3 : perlite 1 : fine bark 1",
                3,
                40,
                height -> air("peat 3 perlite_med 1 bark_fine 1", height));
        curve(chart, "composted bark 8 : sand 1", 3, 40, height -> air("bark_comp 8 sand_coarse 1", height));
        curve(
                chart,
                "orchid bark 3 : perlite 1 : charcoal 1",
                3,
                40,
                height -> air("orch_med 3 perlite_coarse 1 charcoal_coarse 1", height));
        curve(chart, "loam 1 : peat 1 : sand 1", 3, 40, height -> air("loam 1 peat 1 sand_coarse 1", height));
        save(chart, folder.resolve("air-by-height"));
    }

    private static void acidityOverWeeks(final Path folder) throws IOException {
        final XYChart chart = chart("weeks since mixing, at 20 °C", "pH");
        final Mix mix = Mix.of(recipe("peat 3 perlite_med 1 bark_fine 1"));
        curve(chart, "garden lime, 4 g/L", 0, 30, week -> limed(mix, "lime", 4).ph(week));
        curve(chart, "dolomite, 4 g/L", 0, 30, week -> limed(mix, "dolomite", 4).ph(week));
        curve(
                chart,
                "hydrated lime, 2 g/L",
                0,
                30,
                week -> limed(mix, "hydrated_lime", 2).ph(week));
        curve(
                chart,
                "garden lime, 4 g/L, and hard water",
                0,
                30,
                week -> limed(mix, "lime", 4)
                        .with(new Acidity.Drift(4, 0.6, Acidity.Drift.USUAL_LEACHING, 0))
                        .ph(week));
        save(chart, folder.resolve("acidity-over-weeks"));
    }

    private static double air(final String parts, final double heightCm) {
        return 100 * Column.free(heightCm, 0.75).airFilledPorosity(Mix.of(recipe(parts)));
    }

    private static Acidity limed(final Mix mix, final String id, final double gPerL) {
        return Acidity.of(
                mix,
                List.of(new Recipe.Dose(MaterialBook.shipped().amendment(id).orElseThrow(), gPerL)),
                20);
    }

    private static Recipe recipe(final String words) {
        final String[] tokens = words.split(" ");
        final List<Recipe.Part> parts = new ArrayList<>();
        for (int i = 0; i < tokens.length; i += 2) {
            parts.add(new Recipe.Part(
                    MaterialBook.shipped().material(tokens[i]).orElseThrow(), Double.parseDouble(tokens[i + 1])));
        }
        return new Recipe(Recipe.Measure.PARTS, parts, List.of());
    }

    private static XYChart chart(final String x, final String y) {
        final XYChart chart = new XYChartBuilder()
                .width(WIDTH)
                .height(HEIGHT)
                .xAxisTitle(x)
                .yAxisTitle(y)
                .theme(Styler.ChartTheme.Matlab)
                .build();
        chart.getStyler().setLegendPosition(Styler.LegendPosition.InsideSE);
        chart.getStyler().setChartBackgroundColor(Color.WHITE);
        chart.getStyler().setSeriesColors(INKS.toArray(Color[]::new));
        chart.getStyler().setXAxisDecimalPattern("0");
        chart.getStyler().setXAxisTickMarkSpacingHint(90);
        chart.getStyler().setXAxisMin(0.0);
        chart.getStyler().setPlotGridLinesColor(new Color(0xcb, 0xd4, 0xcc));
        return chart;
    }

    private static void curve(
            final XYChart chart, final String name, final double from, final double to, final DoubleUnaryOperator of) {
        final int points = 120;
        final double[] x = new double[points + 1];
        final double[] y = new double[points + 1];
        for (int i = 0; i <= points; i++) {
            x[i] = from + (to - from) * i / points;
            y[i] = of.applyAsDouble(x[i]);
        }
        chart.addSeries(name, x, y).setMarker(SeriesMarkers.NONE);
    }

    private static void save(final XYChart chart, final Path file) throws IOException {
        BitmapEncoder.saveBitmapWithDPI(chart, file.toString(), BitmapEncoder.BitmapFormat.PNG, 144);
    }
}
