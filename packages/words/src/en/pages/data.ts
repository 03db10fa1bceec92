/** What stands on the pages of data. */
export const dataText = {
  amberLadlesOwnServer: 'Amber Ladle’s own server does not answer.',
  whatYouEntered: 'What you entered is still here. Wake or start the machine it runs on, then try once more.',
  wentWrong: 'That went wrong.',
};
