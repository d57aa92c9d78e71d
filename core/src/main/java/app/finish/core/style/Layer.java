package app.finish.core.style;

import java.util.Map;
import java.util.Set;

/// Settings that lie over others: a style over the one that it is based on, highlights over styles,
/// touches over all.
///
/// ```java
/// cascade.with(layer).look(selectors); // what the layer sets outweighs the style
/// ```
public interface Layer {
  /// What it is called where the origin of a setting is told; empty for touches.
  String name();

  /// What it sets anything for.
  Set<Selector> selectors();

  /// What it sets for a place or part; nothing if it sets nothing.
  Map<Property, String> of(Selector selector);
}
