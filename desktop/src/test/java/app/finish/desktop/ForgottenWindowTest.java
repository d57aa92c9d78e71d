package app.finish.desktop;

import java.lang.ref.WeakReference;
import org.testng.annotations.Test;

/// A window that was closed is forgotten, with its document and all that was drawn of it.
public class ForgottenWindowTest extends WindowTest {
  @Test
  public void aClosedWindowIsForgotten() throws Exception {
    openDemo();
    WeakReference<MainWindow> closed = new WeakReference<>(window);
    openWindow();
    openDemo();
    openWindow();
    waitFor(
        () -> {
          System.gc();
          return closed.get() == null;
        });
  }
}
