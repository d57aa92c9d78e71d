package app.finish.desktop;

/// The steps of the work, in order.
enum Step {
  BRING_IN("step.bringIn"),
  ARRANGE("step.arrange"),
  DRESS("step.dress"),
  SEND_OUT("step.sendOut");

  private final String key;

  Step(String key) {
    this.key = key;
  }

  String label() {
    return Texts.of(key);
  }
}
