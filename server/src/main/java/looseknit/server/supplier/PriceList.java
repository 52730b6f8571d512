package looseknit.server.supplier;

import java.time.LocalDate;
import java.util.List;
import looseknit.core.shelf.Stock;
import looseknit.server.frame.Refused;

/**
 * What a supplier charges today. A real supplier would follow as another class that asks its service and turns the answer into {@link Prices}; or with an address of the same format in the setting {@code
 * looseknit.price-list}.
 */
public interface PriceList {

    /**
     * Asks for it.
     *
     * @throws Refused if there is no answer, or none that can be understood
     */
    Prices ask();

    /** A price list. */
    record Prices(String supplier, LocalDate asOf, List<Article> articles) {}

    /**
     * A pack.
     *
     * @param name of the material, as the Book has it
     * @param amount as the label states it [L or kg]
     * @param swell loosened litres of a pressed litre or a kilogram of brick; 0 otherwise
     */
    record Article(String name, Stock.Sold sold, double amount, double swell, double price, boolean inStock) {}
}
