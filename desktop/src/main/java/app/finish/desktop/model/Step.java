package app.finish.desktop.model;

import app.finish.desktop.kit.Texts;

/// The steps of the work, in order.
public enum Step {
  BRING_IN("step.bringIn"),
  ARRANGE("step.arrange"),
  DRESS("step.dress"),
  HIGHLIGHT("step.highlight"),
  WORD("step.word"),
  CHECK("step.check"),
  SEND_OUT("step.sendOut");

  private final String key;

  Step(String key) {
    this.key = key;
  }

  public String label() {
    return Texts.of(key);
  }
}
