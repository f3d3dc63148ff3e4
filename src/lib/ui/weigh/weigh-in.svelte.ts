/** The weigh-in pad can be called from anywhere. */
class WeighInState {
  open = $state(false);

  show(): void {
    this.open = true;
  }
}

export const weighIn = new WeighInState();
