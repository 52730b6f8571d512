package looseknit.server.care;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** When a place is come to on a round. */
@Entity
@Table(name = "place_order")
final class PlaceOrder {

    @Id
    private String name;

    @Column(name = "rank")
    private int rank;

    PlaceOrder() {}

    PlaceOrder(final String name, final int rank) {
        this.name = name;
        this.rank = rank;
    }
}
