/** Colours of the press screen: dark, readable from two metres, AA on the ground. */
export const NIGHT = {
  ground: '#17191D',
  text: '#F6F1E6',
  soft: '#C9C3B6',
  ember: '#FF9A76',
  saffron: '#F5C76B',
  flash: '#7A2A12',
  button: '#4FBF8B',
  buttonHover: '#6BD0A1',
  onButton: '#0C1F16',
  waiting: '#2C3037',
  onWaiting: '#C9C3B6',
} as const;
