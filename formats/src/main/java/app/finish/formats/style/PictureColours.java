package app.finish.formats.style;

import app.finish.core.problem.Problem;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Light;
import app.finish.formats.io.FileName;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/// The main colours of a picture, such as a logo. Only a sample of its points is read, so that a
/// large one takes no longer than a small one; what is transparent is left out.
public final class PictureColours {
  private static final int SAMPLE = 160;
  private static final long LARGEST = 400_000_000L;
  private static final int MOST = 6;
  private static final double ALIKE = 0.1;

  private PictureColours() {}

  /// The colours, the most important first: what is strong in colour counts for more than grey.
  static List<Colour> of(Path file) throws IOException {
    Map<Integer, Integer> buckets = new HashMap<>();
    Map<Integer, long[]> sums = new HashMap<>();
    BufferedImage image = read(file);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        int argb = image.getRGB(x, y);
        if (argb >>> 24 < 128) {
          continue;
        }
        int key = (argb >> 19 & 31) << 10 | (argb >> 11 & 31) << 5 | argb >> 3 & 31;
        buckets.merge(key, 1, Integer::sum);
        long[] sum = sums.computeIfAbsent(key, one -> new long[3]);
        sum[0] += argb >> 16 & 0xff;
        sum[1] += argb >> 8 & 0xff;
        sum[2] += argb & 0xff;
      }
    }
    List<Map.Entry<Colour, Double>> weighed = new ArrayList<>();
    buckets.forEach(
        (key, count) -> {
          long[] sum = Objects.requireNonNull(sums.get(key));
          int rgb = (int) (sum[0] / count << 16 | sum[1] / count << 8 | sum[2] / count);
          Colour colour = new Colour(rgb);
          weighed.add(Map.entry(colour, count * (0.05 + strength(colour))));
        });
    weighed.sort(Map.Entry.comparingByValue(Comparator.reverseOrder()));
    return parted(weighed, FileName.of(file));
  }

  private static double strength(Colour colour) {
    int most = Math.max(colour.red(), Math.max(colour.green(), colour.blue()));
    int least = Math.min(colour.red(), Math.min(colour.green(), colour.blue()));
    return (most - least) / 255.0;
  }

  private static List<Colour> parted(List<Map.Entry<Colour, Double>> weighed, String name)
      throws Problem {
    List<Colour> main = new ArrayList<>();
    for (Map.Entry<Colour, Double> one : weighed) {
      boolean known = main.stream().anyMatch(m -> Light.distance(m, one.getKey()) < ALIKE);
      if (!known && main.size() < MOST) {
        main.add(one.getKey());
      }
    }
    if (main.isEmpty()) {
      throw new Problem(name + " has nothing in it that can be seen. Pick another picture.");
    }
    return main;
  }

  private static BufferedImage read(Path file) throws IOException {
    String name = FileName.of(file);
    try (ImageInputStream stream = ImageIO.createImageInputStream(file.toFile())) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
      if (!readers.hasNext()) {
        throw new Problem(name + " can't be read as a picture. Pick a PNG, JPEG, GIF or BMP.");
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(stream, true, true);
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (width * height > LARGEST) {
          throw new Problem(
              name
                  + " is "
                  + width
                  + " by "
                  + height
                  + " points, too large to look through. Save it smaller and pick that.");
        }
        ImageReadParam sparse = reader.getDefaultReadParam();
        int step = (int) Math.max(1, Math.max(width, height) / SAMPLE);
        sparse.setSourceSubsampling(step, step, 0, 0);
        return reader.read(0, sparse);
      } finally {
        reader.dispose();
      }
    } catch (Problem e) {
      throw e;
    } catch (IOException | RuntimeException e) {
      throw new Problem(name + " can't be read as a picture; it may be damaged.", e);
    }
  }
}
