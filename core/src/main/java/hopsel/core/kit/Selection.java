package hopsel.core.kit;

import org.jgrapht.Graph;
import org.jgrapht.alg.flow.PushRelabelMFImpl;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;

/**
 * What to choose so that the most is gained, where a gain needs several things that each have a price and may need
 * others. It is the closure of greatest weight in a graph, found as its least cut (Picard, "Maximal closure of a graph
 * and applications to combinatorial problems", Management Science 22, 1976): no other choice gains more. Of choices
 * that gain the same it is the smallest.
 */
final class Selection {

    private static final Object FROM = "from";
    private static final Object TO = "to";
    /** More than everything together. */
    private static final double ALWAYS = 1e9;

    private final Graph<Object, DefaultWeightedEdge> graph =
            new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);

    Selection() {
        graph.addVertex(FROM);
        graph.addVertex(TO);
    }

    /** Something that is worth so much once all that it needs is chosen. */
    void gain(Object what, int worth, Collection<?> needs) {
        graph.addVertex(what);
        weigh(FROM, what, worth);
        needs.forEach(need -> weigh(what, need, ALWAYS));
    }

    /** Something that has a price; it has to be named before what needs it. */
    void price(Object what, int price, Collection<?> needs) {
        graph.addVertex(what);
        weigh(what, TO, price);
        needs.forEach(need -> weigh(what, need, ALWAYS));
    }

    private void weigh(Object one, Object two, double weight) {
        graph.setEdgeWeight(graph.addEdge(one, two), weight);
    }

    /** All that is chosen, gains and what they need. */
    Set<Object> best() {
        PushRelabelMFImpl<Object, DefaultWeightedEdge> flow = new PushRelabelMFImpl<>(graph);
        flow.calculateMinCut(FROM, TO);
        Set<Object> chosen = new HashSet<>(flow.getSourcePartition());
        chosen.remove(FROM);
        return chosen;
    }
}
